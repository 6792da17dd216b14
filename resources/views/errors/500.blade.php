<x-error-page code="500" title="Something broke here">It is our fault, not yours. Nothing was saved half-way. Go back
    and try again.</x-error-page>
