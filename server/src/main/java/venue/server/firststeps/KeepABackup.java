package venue.server.firststeps;

/** Have a backup; owners alone can. */
final class KeepABackup implements FirstStep {

    @Override
    public String key() {
        return "backup";
    }

    @Override
    public String title() {
        return "Have a backup made";
    }

    @Override
    public String note(SiteBegun site) {
        return site.isBackedUp() ? "There is one" : "There is none yet";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return site.isBackedUp();
    }

    @Override
    public boolean isFor(boolean owner) {
        return owner;
    }

    @Override
    public String where(SiteBegun site) {
        return "upkeep";
    }
}
