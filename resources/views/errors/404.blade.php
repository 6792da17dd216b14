<x-error-page code="404" title="Nothing here">This page is not there, or not for your crew. Perhaps it was moved or
    deleted.</x-error-page>
