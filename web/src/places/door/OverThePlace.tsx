import { Modal } from "antd";
import type { ReactNode } from "react";

/**
 * A door over a place that stays as it is. It comes unasked and without motion: it may come while its window is
 * hidden, where no motion ever ends.
 */
export function OverThePlace({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Modal
      open
      closable={false}
      keyboard={false}
      footer={null}
      title={title}
      transitionName=""
      maskTransitionName=""
    >
      {children}
    </Modal>
  );
}
