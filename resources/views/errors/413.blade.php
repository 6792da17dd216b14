<x-error-page code="413" title="That is too large">The file or form is larger than can be sent at once. Nothing was
    saved.</x-error-page>
