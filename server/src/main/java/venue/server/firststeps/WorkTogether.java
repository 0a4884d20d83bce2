package venue.server.firststeps;

/** Invite somebody. */
final class WorkTogether implements FirstStep {

    @Override
    public String key() {
        return "people";
    }

    @Override
    public String title() {
        return "Invite somebody";
    }

    @Override
    public String note(SiteBegun site) {
        return site.people() == 1 ? "You work alone" : site.people() + " people work here";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return site.people() > 1;
    }

    @Override
    public String where(SiteBegun site) {
        return "people";
    }
}
