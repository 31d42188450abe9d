<x-error code="419"/>
