<x-error-page code="405" :title="__('errors/405.that-way-is-shut')">{{
    __('errors/405.this-address-does-not-take') }}</x-error-page>
