<x-error-page code="503" title="Back in a moment">The table is being tidied. Try again in a minute.</x-error-page>
