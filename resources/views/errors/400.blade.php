<x-error-page code="400" title="That could not be read">What was sent holds signs that are no text. Go back, type it
    anew and send it once more.</x-error-page>
