<x-error-page code="500" :title="__('errors/500.something-broke-here')">{{
    __('errors/500.it-is-our-fault-not') }}</x-error-page>
