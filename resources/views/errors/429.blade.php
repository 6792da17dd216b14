<x-error-page code="429" :title="__('errors/429.a-little-too-fast')">{{
    __('errors/429.that-was-tried-too-often') }}</x-error-page>
