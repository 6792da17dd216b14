<x-error-page code="409" title="Someone was quicker">Someone else changed this at the same moment. Go back, load the
    page again, and see how it is now.</x-error-page>
