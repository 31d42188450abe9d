<x-error code="5xx"/>
