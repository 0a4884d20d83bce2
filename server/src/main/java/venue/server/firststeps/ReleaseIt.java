package venue.server.firststeps;

/** Release what you made. */
final class ReleaseIt implements FirstStep {

    @Override
    public String key() {
        return "release";
    }

    @Override
    public String title() {
        return "Release what you made";
    }

    @Override
    public String note(SiteBegun site) {
        return site.now().release() > 1
                ? "Release " + site.now().release() + " is live"
                : "Visitors see the first pages alone";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return site.now().release() > 1;
    }

    @Override
    public String where(SiteBegun site) {
        return "releases";
    }
}
