<x-error code="413"/>
