<x-error code="404"/>
