package venue.server.firststeps;

/** Choose a look and make it yours. */
final class ChooseALook implements FirstStep {

    @Override
    public String key() {
        return "look";
    }

    @Override
    public String title() {
        return "Choose a look and make it yours";
    }

    @Override
    public String note(SiteBegun site) {
        return "It wears " + site.working().theme().name();
    }

    @Override
    public boolean isDone(SiteBegun site) {
        String look = site.working().site().look();
        return !look.equals(site.firstLook())
                || !site.lookThen().equals(site.now().hashOf(look));
    }

    @Override
    public String where(SiteBegun site) {
        return "theme";
    }
}
