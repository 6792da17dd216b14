<x-error-page code="419" title="The page lay open too long">For safety a page can only be sent for some hours. Go back,
    load it again and send it once more; what was saved is safe.</x-error-page>
