<x-error-page code="400" :title="__('errors/400.that-could-not-be-read')">{{
    __('errors/400.what-was-sent-holds-no-text') }}</x-error-page>
