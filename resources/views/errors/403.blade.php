<x-error-page code="403" :title="__('errors/403.not-yours-to-open')">{{
    __('errors/403.this-belongs-to-another-crew') }}</x-error-page>
