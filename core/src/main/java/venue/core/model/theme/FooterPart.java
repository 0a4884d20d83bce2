package venue.core.model.theme;

import static venue.core.model.property.Property.choice;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** What every page ends with. */
final class FooterPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "footer",
                "Footer",
                List.of(
                        choice(
                                "footerShape",
                                "Arrangement",
                                "columns=In columns",
                                "line=On one line",
                                "centred=Centred"),
                        choice("footerTone", "Tone", Tone.choices("deep"))));
    }
}
