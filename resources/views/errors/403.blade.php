<x-error code="403"/>
