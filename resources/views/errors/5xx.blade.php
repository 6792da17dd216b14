<x-error-page :code="$exception->getStatusCode()" title="Something broke here">It is our fault, not yours. Nothing was
    saved half-way. Go back and try again.</x-error-page>
