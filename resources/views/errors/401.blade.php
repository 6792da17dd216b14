<x-error-page code="401" :title="__('errors/401.please-sign-in')">{{
    __('errors/401.this-page-is-for-members') }}</x-error-page>
