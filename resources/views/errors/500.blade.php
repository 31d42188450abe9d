<x-error code="500"/>
