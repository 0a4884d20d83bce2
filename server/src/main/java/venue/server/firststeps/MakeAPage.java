package venue.server.firststeps;

import venue.core.model.page.Page;

/** Make a page of your own. */
final class MakeAPage implements FirstStep {

    @Override
    public String key() {
        return "page";
    }

    @Override
    public String title() {
        return "Make a page of your own";
    }

    @Override
    public String note(SiteBegun site) {
        long own = own(site);
        return own == 0 ? "All pages came with the site" : own + (own == 1 ? " page is" : " pages are") + " your own";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return own(site) > 0;
    }

    @Override
    public String where(SiteBegun site) {
        return "new";
    }

    private static long own(SiteBegun site) {
        long came = site.began().stream()
                .filter(id -> site.working().page(id).isPresent())
                .count();
        return site.working().all(Page.class).count() - came;
    }
}
