<x-error-page code="429" title="A little too fast">That was tried too often in a short time. Wait a minute and try
    again.</x-error-page>
