<x-error-page code="422" :title="__('errors/422.that-cannot-be-read')">{{
    __('errors/422.something-in-what-was-sent') }}</x-error-page>
