<x-error code="429"/>
