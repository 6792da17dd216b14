<x-error-page code="413" :title="__('errors/413.that-is-too-large')">{{
    __('errors/413.the-file-or-form-is') }}</x-error-page>
