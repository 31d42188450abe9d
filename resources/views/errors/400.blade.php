<x-error code="400"/>
