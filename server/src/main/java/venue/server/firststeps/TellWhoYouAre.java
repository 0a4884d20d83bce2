package venue.server.firststeps;

import java.util.List;

/** Say who you are. */
final class TellWhoYouAre implements FirstStep {

    private static final List<String> FACTS = List.of("tagline", "email", "phone", "postalAddress", "hours");
    private static final int ENOUGH = 3;

    @Override
    public String key() {
        return "facts";
    }

    @Override
    public String title() {
        return "Say who you are";
    }

    @Override
    public String note(SiteBegun site) {
        long filled = filled(site);
        return filled + " of " + FACTS.size() + " facts about you are filled in";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return filled(site) >= ENOUGH;
    }

    @Override
    public String where(SiteBegun site) {
        return "facts";
    }

    private static long filled(SiteBegun site) {
        return FACTS.stream()
                .filter(f -> site.working().site().facts().containsKey(f))
                .count();
    }
}
