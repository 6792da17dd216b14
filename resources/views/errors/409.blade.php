<x-error-page code="409" :title="__('errors/409.someone-was-quicker')">{{
    __('errors/409.someone-else-changed-this-at') }}</x-error-page>
