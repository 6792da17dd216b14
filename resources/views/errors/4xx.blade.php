<x-error-page :code="$exception->getStatusCode()" :title="__('errors/4xx.that-did-not-work')">{{
    __('errors/4xx.what-was-asked-for-cannot') }}</x-error-page>
