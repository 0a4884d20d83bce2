package venue.server.firststeps;

/** Write what is still to fill. */
final class FillThePlaces implements FirstStep {

    @Override
    public String key() {
        return "to-fill";
    }

    @Override
    public String title() {
        return "Write what is still to fill";
    }

    @Override
    public String note(SiteBegun site) {
        int left = site.now().tally().toFill();
        return left == 0
                ? "Nothing waits to be filled"
                : left + (left == 1 ? " place waits" : " places wait") + " to be filled";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return site.now().tally().toFill() == 0;
    }

    @Override
    public String where(SiteBegun site) {
        return site.working()
                .plan()
                .inOrder()
                .flatMap(p -> site.working().page(p).stream())
                .filter(p -> !site.working().toFill(p).isEmpty())
                .findFirst()
                .map(p -> "page/" + p.id())
                .orElse("plan");
    }
}
