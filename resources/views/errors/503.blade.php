<x-error code="503" :ways="false"/>
