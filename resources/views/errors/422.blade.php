<x-error-page code="422" title="That cannot be read">Something in what was sent is not what is asked for there. Nothing
    was saved.</x-error-page>
