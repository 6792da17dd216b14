<x-error-page code="403" title="Not yours to open">This belongs to another crew, or is not for everyone.</x-error-page>
