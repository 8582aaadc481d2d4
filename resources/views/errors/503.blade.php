<x-layout.error :heading="__('errors.maintenance')" :hint="__('errors.broken_hint')"/>
