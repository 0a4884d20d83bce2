package venue.core.edit;

/** A command that writes in one item: a page, or a template, pattern or shared section on the same screen. */
public sealed interface WritesIn extends Command
        permits SetValue,
                PlaceSection,
                MoveSection,
                CopySection,
                RemoveSection,
                NameSection,
                SetColumns,
                PlaceElement,
                MoveElement,
                RemoveElement {

    /** The id of what is written in. */
    String item();
}
