<x-layout.error :heading="__('errors.forbidden')" :hint="$exception->getMessage()"/>
