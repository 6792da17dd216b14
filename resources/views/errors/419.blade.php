<x-error-page code="419" :title="__('errors/419.the-page-lay-open-too')">{{
    __('errors/419.for-safety-a-page-can') }}</x-error-page>
