package venue.core.model.gate;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/**
 * Who may see a page, and what whoever may not is told.
 *
 * @param hidden whether they don't learn that it is there; else they are asked to sign in
 */
public record Gate(Audience audience, boolean hidden) {

    public static final Gate OPEN = new Gate(Audience.EVERYONE, false);

    /** What somebody meets who asks for a page. */
    public enum Meeting {
        OPENS,
        /** They are asked to sign in, and come to it then if they may. */
        SIGN_IN,
        /** They are told that it is not for them, and whom to ask. */
        REFUSED,
        /** They are told what they are told of an address that never was. */
        NOTHING
    }

    /** The gate that settings give; empty where they leave it to what stands above. */
    public static Optional<Gate> in(Map<String, Value> settings) {
        return Audience.in(settings, GateSettings.GATE)
                .findFirst()
                .map(a -> new Gate(a, GateSettings.HIDDEN.equals(Values.text(settings, GateSettings.OTHERS))));
    }

    public boolean isOpen() {
        return audience.who() == Audience.Who.EVERYONE;
    }

    public boolean lets(Visitor visitor) {
        return audience.holds(visitor);
    }

    /** No member can be one of us: whoever asks for what is ours alone is not sent to sign in. */
    public Meeting meets(Visitor visitor) {
        if (lets(visitor)) {
            return Meeting.OPENS;
        }
        return hidden
                ? Meeting.NOTHING
                : visitor.isStranger() && audience.who() != Audience.Who.US ? Meeting.SIGN_IN : Meeting.REFUSED;
    }
}
