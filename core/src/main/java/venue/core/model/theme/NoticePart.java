package venue.core.model.theme;

import static venue.core.model.property.Property.choice;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** How the site's notices stand above the header of every page. */
final class NoticePart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "notice",
                "Notice strip",
                List.of(choice(
                                "noticeShape",
                                "Several messages",
                                "stack=One beneath another",
                                "first=The first alone",
                                "turn=Taking turns")
                        .help("Turns can be stopped, and don't begin where motion is unwanted.")));
    }
}
