package venue.server.catalog;

import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;

/** Everything at once; it changes seldom. */
record Catalog(
        List<ElementInfo> elements,
        List<PropertyGroup> sectionSettings,
        List<Property> columnSettings,
        List<Property> pageSettings,
        List<TemplateInfo> templates,
        List<KindInfo> kinds,
        List<ReadyKindInfo> readyKinds,
        List<PatternInfo> patterns,
        List<String> patternGroups,
        List<SharedInfo> shared,
        List<MenuInfo> menus,
        List<ToneInfo> tones,
        TypeInfo type,
        String language,
        List<Property> siteFacts,
        Map<String, Value> facts) {}
