package venue.core.change.edit.template;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;
import venue.core.change.rollout.Decision;
import venue.core.model.property.Property;

/** What is done to templates, and with them to the pages that wear them. */
public sealed interface TemplateCommand extends Command
        permits MakeTemplate,
                DescribeTemplate,
                SetZones,
                FixSection,
                RetireTemplate,
                RemoveTemplate,
                SetOptions,
                RollOutSections {
    static TemplateCommand makeTemplate(String id, String name, @Nullable String from, @Nullable String page) {
        return new MakeTemplate(id, name, from, page);
    }

    static TemplateCommand describeTemplate(String template, String name, String note) {
        return new DescribeTemplate(template, name, note);
    }

    static TemplateCommand setZones(String template, List<WantedZone> zones) {
        return new SetZones(template, zones);
    }

    static TemplateCommand fixSection(String template, String section, boolean fixed) {
        return new FixSection(template, section, fixed);
    }

    static TemplateCommand retireTemplate(String template, boolean retired) {
        return new RetireTemplate(template, retired);
    }

    static TemplateCommand removeTemplate(String template, String successor) {
        return new RemoveTemplate(template, successor);
    }

    static TemplateCommand setOptions(String template, List<Property> options) {
        return new SetOptions(template, options);
    }

    static TemplateCommand rollOutSections(String item, Map<String, Map<String, Decision>> pages) {
        return new RollOutSections(item, pages);
    }
}
