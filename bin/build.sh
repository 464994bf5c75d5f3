# The interface: its types from the controllers' attributes, then the pages.

make_types() {
    mkdir -p var
    artisan jornel:openapi var/openapi.json
    quietly npm run api
}

build_frontend() {
    local print
    print=$(fingerprint frontend/src vite.config.ts package-lock.json app/Http resources/views)
    if done_already frontend "$print" && [ -f public/build/manifest.json ]; then return 0; fi
    say "Building the interface"
    make_types
    openly npm run build
    # The types were written anew: take the fingerprint with them in.
    mark_done frontend "$(fingerprint frontend/src vite.config.ts package-lock.json app/Http resources/views)"
}

# So that no request reads the settings, the routes and what listens to what anew. What an earlier version had compiled says
# nothing of this one: it goes before anything else runs.
compile_settings() { quietly php artisan optimize; }

forget_compiled_settings() { rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"; }
