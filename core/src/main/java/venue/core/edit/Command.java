package venue.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Something a person does to the working copy. It answers with the change it makes, or refuses and changes nothing. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "verb")
@JsonSubTypes({
    @Type(value = SetValue.class, name = "set-value"),
    @Type(value = SetTitle.class, name = "set-title"),
    @Type(value = SetSegment.class, name = "set-segment"),
    @Type(value = MakePages.class, name = "make-pages"),
    @Type(value = MovePage.class, name = "move-page"),
    @Type(value = RemovePage.class, name = "remove-page"),
    @Type(value = WithdrawPage.class, name = "withdraw-page"),
    @Type(value = ChooseTemplate.class, name = "choose-template"),
    @Type(value = MakeHome.class, name = "make-home"),
    @Type(value = PlaceSection.class, name = "place-section"),
    @Type(value = MoveSection.class, name = "move-section"),
    @Type(value = CopySection.class, name = "copy-section"),
    @Type(value = RemoveSection.class, name = "remove-section"),
    @Type(value = ReachSection.class, name = "reach-section"),
    @Type(value = NameSection.class, name = "name-section"),
    @Type(value = SetColumns.class, name = "set-columns"),
    @Type(value = PlaceElement.class, name = "place-element"),
    @Type(value = MoveElement.class, name = "move-element"),
    @Type(value = RemoveElement.class, name = "remove-element"),
    @Type(value = PlaceInMenu.class, name = "place-in-menu"),
    @Type(value = RemoveFromMenu.class, name = "remove-from-menu"),
    @Type(value = DescribeMedia.class, name = "describe-media"),
    @Type(value = FileMedia.class, name = "file-media"),
    @Type(value = FocusMedia.class, name = "focus-media"),
    @Type(value = ReplaceMedia.class, name = "replace-media"),
    @Type(value = RemoveMedia.class, name = "remove-media"),
    @Type(value = TakePattern.class, name = "take-pattern"),
    @Type(value = KeepPattern.class, name = "keep-pattern"),
    @Type(value = MakeTemplate.class, name = "make-template"),
    @Type(value = DescribeTemplate.class, name = "describe-template"),
    @Type(value = SetZones.class, name = "set-zones"),
    @Type(value = FixSection.class, name = "fix-section"),
    @Type(value = RetireTemplate.class, name = "retire-template"),
    @Type(value = RemoveTemplate.class, name = "remove-template"),
    @Type(value = SetKindTemplates.class, name = "set-kind-templates"),
    @Type(value = FollowAgain.class, name = "follow-again"),
    @Type(value = GiveToOrigin.class, name = "give-to-origin"),
    @Type(value = MakeKind.class, name = "make-kind"),
    @Type(value = DescribeKind.class, name = "describe-kind"),
    @Type(value = SetFields.class, name = "set-fields"),
    @Type(value = PlaceKind.class, name = "place-kind"),
    @Type(value = RetireKind.class, name = "retire-kind"),
    @Type(value = SetOptions.class, name = "set-options"),
    @Type(value = RollOutSections.class, name = "roll-out"),
    @Type(value = WearLook.class, name = "wear-look"),
    @Type(value = KeepLook.class, name = "keep-look")
})
public sealed interface Command
        permits WritesIn,
                ShapesSite,
                SetTitle,
                SetSegment,
                MakePages,
                MovePage,
                RemovePage,
                WithdrawPage,
                ChooseTemplate,
                PlaceInMenu,
                RemoveFromMenu,
                DescribeMedia,
                FileMedia,
                FocusMedia,
                ReplaceMedia,
                RemoveMedia,
                TakePattern,
                FollowAgain,
                CutMedia,
                TakeIn,
                BringBack {

    Change on(Desk desk);
}
