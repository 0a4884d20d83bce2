package venue.core.change.edit.site;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.carry.beginning.NewSite;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.site.Site;

/**
 * Says what the site is called, in which language it is written and in which time zone its days begin.
 *
 * @param language as a BCP 47 tag
 * @param timeZone IANA name
 */
@JsonTypeName("describe-site")
record DescribeSite(String name, String language, String timeZone) implements SiteCommand {

    @Override
    public Change on(Desk desk) {
        Site site = desk.edition().site();
        return Change.of(
                "name, language and time zone of the site",
                site.described(NewSite.checkName(name), NewSite.checkLanguage(language), NewSite.checkZone(timeZone)));
    }
}
