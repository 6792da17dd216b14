<x-error-page :code="$exception->getStatusCode()" :title="__('errors/5xx.something-broke-here')">{{
    __('errors/5xx.it-is-our-fault-not') }}</x-error-page>
