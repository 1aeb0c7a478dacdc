import { useRef, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';

import { Icon } from './icons';
import type { Page } from './pages';
import { Tag } from './tag';
import { ToPage } from './to-page';
import { Txt } from './txt';
import { usePage } from './use-page';
import { words } from './words';

export interface ScreenProps {
  title: string;
  tag?: string;
  /** Where the back arrow leads; none on the first pages. */
  backTo?: Page;
  /** Right of the title. */
  action?: ReactNode;
  /** A list that stays in sight beside the page itself. */
  beside?: boolean;
  /** Stays at the bottom, under the thumb. */
  footer?: ReactNode;
  /** Between header and body, and never scrolled away. */
  fixed?: ReactNode;
  children: ReactNode;
}

/** A page: header, body that scrolls, actions at the bottom. */
export function Screen({ title, tag, backTo, action, beside = false, footer, fixed, children }: ScreenProps) {
  const page = useRef<View>(null);
  usePage(page, tag, beside ? null : `${title} · ${words.product}`);
  return (
    <View ref={page} tabIndex={-1} className="min-h-0 min-w-0 flex-1 bg-paper" role={beside ? 'complementary' : 'main'}>
      <View className="screen-only min-h-[60px] flex-row flex-wrap items-center gap-2 px-4 py-1">
        {backTo ? (
          <ToPage aria-label={words.back} to={backTo} className="-ml-3 h-12 w-12 items-center justify-center">
            <Icon name="back" />
          </ToPage>
        ) : null}
        {tag ? <Tag text={tag} /> : null}
        <Txt
          size={title.length > 22 && backTo ? 'lead' : 'title'}
          bold
          heading={beside ? 2 : 1}
          // With text twice as large a title takes three lines; more is no title.
          numberOfLines={3}
          className="min-w-0 flex-1"
        >
          {title}
        </Txt>
        {action}
      </View>
      {fixed}
      <ScrollView className="min-h-0 flex-1" contentContainerClassName="pb-8" tabIndex={-1}>
        {children}
      </ScrollView>
      {footer ? (
        <View className="screen-only border-t border-rule bg-paper px-3 py-3 lg:items-end">
          <View className="w-full lg:w-[460px]">{footer}</View>
        </View>
      ) : null}
    </View>
  );
}
