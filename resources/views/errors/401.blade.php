<x-error-page code="401" title="Please sign in">This page is for members of a crew. Sign in, and you are taken to
    it.</x-error-page>
