<x-layout.error :heading="__('errors.broken')" :hint="__('errors.broken_hint')"/>
