<x-error-page :code="$exception->getStatusCode()" title="That did not work">What was asked for cannot be done like this.
    Nothing was saved.</x-error-page>
