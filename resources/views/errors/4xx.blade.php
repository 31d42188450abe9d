<x-error code="4xx"/>
