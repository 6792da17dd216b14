<x-error-page code="405" title="That way is shut">This address does not take what was sent to it. Go back and try from
    the page itself.</x-error-page>
