<x-error-page code="404" :title="__('errors/404.nothing-here')">{{
    __('errors/404.this-page-is-not-there') }}</x-error-page>
