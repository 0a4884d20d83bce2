package venue.core.edit;

/** A command that shapes the whole site, and so is for its managers. */
public sealed interface ShapesSite extends Command
        permits KeepPattern,
                MakeHome,
                WearLook,
                KeepLook,
                ReachSection,
                RollOutSections,
                SetKindTemplates,
                MakeKind,
                DescribeKind,
                SetFields,
                PlaceKind,
                RetireKind,
                SetOptions,
                GiveToOrigin,
                MakeTemplate,
                DescribeTemplate,
                SetZones,
                FixSection,
                RetireTemplate,
                RemoveTemplate {}
