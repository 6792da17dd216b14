<x-error-page code="503" :title="__('errors/503.back-in-a-moment')">{{
    __('errors/503.the-table-is-being-tidied') }}</x-error-page>
