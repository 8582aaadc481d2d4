<x-layout.error :heading="__('errors.not_found')" :hint="__('errors.not_found_hint')"/>
